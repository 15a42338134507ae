/** The ports of the servers that are tested, one for each worker: a worker keeps a core of two busy. */
export const serverPorts = [4187, 4188] as const;
