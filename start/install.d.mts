export function install(): void;
/** Debian packages by the command, or the whole path of a file, that each brings. */
export function installDebian(packages: Readonly<Record<string, string>>): void;
