/** Directions as text, made from a plan: what {@link cufflink.directions.DirectionsReader} reads again. */
package cufflink.directions.writing;
