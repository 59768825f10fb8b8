/**
 * All that is found out about directions: what in them cannot be, the designs that they may be for, what the likely one
 * says of them, and what changes when it is made for other paper. {@link cufflink.directions.study.DirectionsStudy} is
 * the way in.
 */
package cufflink.directions.study;
