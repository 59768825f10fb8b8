/**
 * The terminal commands: plan, fold, check, export, layout, job, designs. They read options, ask {@code Planner.plan}
 * and print; they compute nothing.
 */
package cufflink.cli;
