/** Drawings true to size: SVG and DXF of pieces and sheets, lines by kind in layers of their own. */
package cufflink.files.drawing;
