/**
 * Design files: YAML that a maker can read, copy and change. {@link cufflink.files.design.DesignFileReader} reports
 * every mistake with line and column. A file runs no code; its size, depth, repeats and values are bounded, and anchors
 * and aliases are refused.
 */
package cufflink.files.design;
