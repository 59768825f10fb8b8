/** Controls of our own: set fractions, lengths to type and step, pictures on a canvas. */
package cufflink.desktop.control;
