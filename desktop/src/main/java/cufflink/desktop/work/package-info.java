/** What the windows show, without any window: the open project with its plan, undo, and the place in the run sheet. */
package cufflink.desktop.work;
