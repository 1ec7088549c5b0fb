export function install(): void;
/** Debian packages by the command that each brings. */
export function installDebian(packages: Readonly<Record<string, string>>): void;
