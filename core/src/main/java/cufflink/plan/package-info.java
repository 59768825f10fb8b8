/**
 * Everything about a project worked out once: {@code Plan plan = Planner.plan(project)}, the one door for windows,
 * terminal, exports and tests. A pure function, safe on any thread. A {@link cufflink.plan.Project} is fitted to its
 * wish; {@code Stages} takes the design from sized to stacked, again while measures ask for what later stages found;
 * what it comes to, {@link cufflink.plan.Workings}, is judged and told as steps, which is the
 * {@link cufflink.plan.Plan}.
 */
package cufflink.plan;
