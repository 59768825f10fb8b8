package cufflink.desktop.view;

import cufflink.check.Check;
import cufflink.design.Ornament;
import cufflink.plan.Plan;
import java.util.Optional;

/** What an ornament does where it lies, in one line: the gravest that the checks say of it. */
final class OrnamentLine {
    private OrnamentLine() {
    }

    static Optional<Check> gravest(Plan plan, Ornament ornament) {
        String id = "ornament-" + ornament.id();
        return plan.checks().stream().filter(check -> check.id().equals(id) || check.id().startsWith(id + "-"))
                .findFirst();
    }

    static String of(Plan plan, Ornament ornament) {
        return gravest(plan, ornament).map(check -> check.verdict().mark() + " " + check.message().sentence())
                .orElse("✓ " + ornament.label() + " lies on its panel and stays inside the closed card.");
    }
}
