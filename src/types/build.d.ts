interface ImportMetaEnv {
  /** Tells one build from another; absent where nothing was built, as in unit tests. */
  readonly BUILD?: string
}
