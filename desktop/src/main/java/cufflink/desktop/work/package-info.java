/**
 * What the windows show, without any window: the shelf, the open project with its plan, undo, and the place in the run
 * sheet, the job and the stash.
 */
package cufflink.desktop.work;
