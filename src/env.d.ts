interface ImportMetaEnv {
  /** Tells one build from another; set when the application is built. */
  readonly NIBWRIGHT_BUILD?: string;
}
