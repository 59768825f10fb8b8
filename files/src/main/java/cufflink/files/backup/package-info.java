/** Backups of all that a maker has, and bringing it back. */
package cufflink.files.backup;
