/** Typed directions as they leave the program: what was read as JSON and text. */
package cufflink.files.directions;
