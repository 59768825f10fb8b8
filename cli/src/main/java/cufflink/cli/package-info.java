/**
 * The terminal commands: plan, check, export, designs. They read options, ask {@code Planner.plan} and print; they
 * compute nothing.
 */
package cufflink.cli;
