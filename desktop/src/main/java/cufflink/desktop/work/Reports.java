package cufflink.desktop.work;

import cufflink.files.FaultReport;
import cufflink.files.project.ProjectWriter;
import cufflink.plan.Project;
import cufflink.problem.Problem;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Words for problems; what the program did not expect is kept in a report, once for each place in the program. */
public final class Reports {
    private final FaultReport files;
    private final Set<String> told = new HashSet<>();

    public Reports(FaultReport files) {
        this.files = files;
    }

    /** The problems in the maker's words. */
    public String text(List<Problem> problems, Project project) {
        List<String> texts = problems.stream().map(problem -> problem.text()
                + problem.fault().map(fault -> keep(ProjectWriter.text(project), fault)).orElse("")).toList();
        return String.join(" ", texts);
    }

    /** Where the report lies, after a space; empty if there is one of this fault already. */
    public String keep(String doing, Throwable fault) {
        StackTraceElement[] trace = fault.getStackTrace();
        String place = fault.getClass().getName() + (trace.length > 0 ? trace[0].toString() : "");
        return told.add(place) ? " " + files.write(doing, fault) : "";
    }
}
