/**
 * A device-free picture of anything in a plan: screen, PDF and SVG all draw the same one. Coordinates are millimetres,
 * x right and y down; text and pens are in points, and a {@link cufflink.drawing.Picture} says how many millimetres a
 * point is, since a small picture needs the same pens as a large one. Folded paper is projected and depth-sorted here.
 */
package cufflink.drawing;
