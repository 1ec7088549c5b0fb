declare module '*?url' {
  const address: string;
  export default address;
}

/** A style sheet that Vite puts into the page when it is imported. */
declare module '*.css';
