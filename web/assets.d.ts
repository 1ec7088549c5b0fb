declare module '*?url' {
  const address: string;
  export default address;
}
