/** Bare cutting jobs read from CSV, and layouts written as JSON and as text. */
package cufflink.files.layout;
