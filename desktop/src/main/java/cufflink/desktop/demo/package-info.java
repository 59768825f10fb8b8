/** The made-up projects of the demo. */
package cufflink.desktop.demo;
