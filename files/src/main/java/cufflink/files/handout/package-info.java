/**
 * The printed directions as PDF: {@link cufflink.files.handout.HandOutWriter} lays a plan out on pages. Points and page
 * coordinates exist here only; pictures come from {@code cufflink.drawing}.
 */
package cufflink.files.handout;
