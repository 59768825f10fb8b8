package cufflink.files.plan;

import cufflink.design.Measures;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.plan.Plan;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import java.util.Locale;

/** A plan as plain text for the terminal. */
public final class PlanText {
    private PlanText() {
    }

    public static String of(Plan plan) {
        LengthFormat format = plan.format();
        StringBuilder text = new StringBuilder();
        text.append(plan.design().definition().title()).append(", ").append(plan.fit().target());
        plan.stack().ifPresent(stack -> text.append(", closed ")
                .append(plan.project().step().size(plan.closedWidth().orElseThrow(),
                        plan.closedHeight().orElseThrow()))
                .append(", ").append(LengthFormat.of(LengthUnit.MILLIMETRE).text(stack.thickness())).append(" thick"));
        plan.workings().standing().flatMap(size -> plan.size())
                .ifPresent(size -> text.append("; ").append(size.sentence().toLowerCase(Locale.ROOT)));
        text.append('\n');
        if (!plan.fit().limit().isEmpty()) {
            text.append("Limit: ").append(plan.fit().limit()).append(' ').append(plan.fit().lift()).append('\n');
        }
        plan.changed()
                .forEach(change -> text.append("Changed: ").append(change.measure()).append(", ").append(change.given())
                        .append(" was given, ").append(change.used()).append(" is used. ")
                        .append(change.why()).append('\n'));
        plan.notices().forEach(notice -> text.append("Note: ").append(notice.text()).append('\n'));
        text.append("\nMeasures\n");
        for (Measures.Sized sized : plan.measures().shown()) {
            text.append("  ").append(sized.derivation().text(format)).append('\n');
        }
        text.append("\nRun sheet\n");
        for (RunStep step : plan.run()) {
            text.append(String.format(Locale.ROOT, "%4d  %-6s %s%n             %s%n", step.number(),
                    step.phase().title(), step.title(), step.text()));
            for (Reading reading : step.readings()) {
                text.append("             ").append(reading.text(format)).append("  ").append(reading.label())
                        .append('\n');
            }
        }
        text.append("\nChecks\n");
        plan.checks().forEach(check -> text.append("  ").append(check.verdict().mark()).append(' ').append(check.text())
                .append(check.remedy().isEmpty() ? "" : " " + check.remedy()).append('\n'));
        return text.toString();
    }
}
