/**
 * The closed card as a stack: panels, layers and contents over every place, how thick it is, what each crease goes
 * round, which spaces are pockets. The last stage of a plan's geometry; it knows no project, only papers.
 */
package cufflink.stack;
