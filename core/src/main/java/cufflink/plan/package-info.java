/**
 * Everything about a project worked out once: {@code Plan plan = Planner.plan(project)}, the one door for windows,
 * terminal, exports and tests. A pure function, safe on any thread.
 */
package cufflink.plan;
