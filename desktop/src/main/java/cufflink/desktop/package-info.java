/** The application: start, screens and how one leads to another. */
package cufflink.desktop;
