/** The notebook: what was made, what went wrong, and how two makes differ. */
package cufflink.notebook;
