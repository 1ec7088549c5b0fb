/** The name that hosts know us by, in requests and in their robots.txt (RFC 9309 §2.2.1). */
export const robotName = 'ZincPost';
