/**
 * The stash as one SQLite database with versioned migrations ({@link cufflink.files.stash.StashDatabase}), and as CSV
 * ({@link cufflink.files.stash.StashCsv}).
 */
package cufflink.files.stash;
