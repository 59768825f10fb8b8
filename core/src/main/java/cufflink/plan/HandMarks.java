package cufflink.plan;

import cufflink.crease.CreasePattern;
import cufflink.crease.Panel;
import cufflink.design.Ornament;
import cufflink.design.SizedDesign;
import cufflink.design.Soft;
import cufflink.measure.Length;
import cufflink.stack.OrnamentLie;
import cufflink.words.HandWords;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Envelope;

/** Marks on panels at which things are put, by the numbers of a step. */
final class HandMarks {
    private final HandTable table;
    private final HandNumbers numbers;

    HandMarks(HandTable table, HandNumbers numbers) {
        this.table = table;
        this.numbers = numbers;
    }

    /** A mark from the left and the top edge of a panel. */
    void placed(String id, SizedDesign.Offset at) {
        check(isPlaced(id + " x", at.x()) && isPlaced(id + " y", at.y()));
    }

    /** Where a soft piece is fixed; each place once. */
    void fixed(Soft soft) {
        Set<Object> marked = new HashSet<>();
        for (int i = 0; i < soft.way().size(); i++) {
            Soft.Stay stay = soft.way().get(i);
            if (!stay.slides() && marked.add(List.of(stay.panel(), stay.at()))) {
                placed(soft.id() + " " + (i + 1), stay.at());
            }
        }
    }

    /** An ornament, laid on its panel with its face up: as far from the edges as its numbers say, or in the middle. */
    void laid(OrnamentLie lie, CreasePattern pattern) {
        Ornament ornament = lie.ornament();
        Panel panel = table.plan().stacked().assembly(ornament.on().piece()).panel(ornament.on());
        Envelope all = lie.glued().getEnvelopeInternal();
        all.expandToInclude(lie.dry().getEnvelopeInternal());
        double before = all.getMinX() - panel.bounds().getMinX();
        double after = panel.bounds().getMaxX() - all.getMaxX();
        boolean behind = ornament.face() != pattern.up();
        check(isLaid(ornament.id() + " x", ornament.put().across().from(), behind ? after : before,
                behind ? before : after));
        check(isLaid(ornament.id() + " y", ornament.put().down().from(),
                all.getMinY() - panel.bounds().getMinY(), panel.bounds().getMaxY() - all.getMaxY()));
    }

    private boolean isLaid(String id, Ornament.Anchor from, double before, double after) {
        double gap = from == Ornament.Anchor.START ? before : after;
        return from == Ornament.Anchor.MIDDLE ? numbers.of(id).isEmpty()
                : numbers.of(id).map(there -> HandTable.isNear(Math.abs(gap), there.length(), table.slack(there)))
                        .orElse(Math.abs(gap) < HandTable.SHARP);
    }

    private boolean isPlaced(String id, Length wanted) {
        return numbers.of(id)
                .filter(there -> HandTable.isNear(there.length().toMillimetres(), wanted.abs(), table.slack(there)))
                .isPresent();
    }

    private void check(boolean right) {
        if (!right) {
            table.fault(HandWords.ELSEWHERE.of("what", numbers.step().title(), "step", numbers.step().number()));
        }
    }
}
