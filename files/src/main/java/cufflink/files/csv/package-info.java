/** Tables as CSV (RFC 4180) with a heading line, read with every mistake named by file, line and column. */
package cufflink.files.csv;
