/** The made-up projects and the stash of the demo. */
package cufflink.desktop.demo;
