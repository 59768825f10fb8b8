package cufflink.plan;

import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.CutOut;
import cufflink.design.SizedDesign.Line;
import cufflink.design.SizedDesign.Slit;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The numbers for punching and knife work: centres, sizes and slits, from the left and the top edge. */
final class PunchReadings {
    private PunchReadings() {
    }

    static List<Reading> of(SizedDesign.Piece piece, List<CutOut> cutOuts, List<Slit> slits, LengthFormat format) {
        List<Reading> readings = new ArrayList<>();
        List<KnifeMark.Told> marks = KnifeMark.told(piece, cutOuts);
        for (CutOut cut : cutOuts) {
            List<Length> n = cut.numbers();
            switch (cut.shape()) {
                case CIRCLE -> {
                    readings.add(point(cut.id(), cut.id() + ": centre from left, top", n.get(0), n.get(1)));
                    readings.add(reading(cut.id() + " size", cut.id() + ": across", n.get(2).times(2),
                            cut.id() + ", across = 2 × radius = 2 × " + format.text(n.get(2))));
                }
                case ROUNDED -> {
                    readings.add(point(cut.id(), cut.id() + ": corner from left, top", n.get(0), n.get(1)));
                    readings.add(point(cut.id() + " size", cut.id() + ": wide, high", n.get(2), n.get(3)));
                    cut.radius().filter(Length::isPositive).ifPresent(radius -> readings
                            .add(reading(cut.id() + " corners", cut.id() + ": corners' radius", radius, "")));
                }
                case POLYGON -> marks.stream().filter(mark -> mark.cut().equals(cut))
                        .forEach(mark -> readings.add(mark.mark().reading(mark.id(), cut, mark.number())));
            }
        }
        slits.forEach(slit -> readings.addAll(slit(slit)));
        return readings;
    }

    /** Where a slit lies and how far it runs; a slanting one by its ends. */
    private static List<Reading> slit(Slit slit) {
        Line line = slit.line();
        return switch (line.along()) {
            case X ->
                List.of(reading(slit.id(), slit.id() + ": from the left edge", line.x1(), ""),
                        reading(slit.id() + " from", slit.id() + ": begins, from the top edge", line.from(), ""),
                        reading(slit.id() + " to", slit.id() + ": ends, from the top edge", line.to(), ""));
            case Y ->
                List.of(reading(slit.id(), slit.id() + ": from the top edge", line.y1(), ""),
                        reading(slit.id() + " from", slit.id() + ": begins, from the left edge", line.from(), ""),
                        reading(slit.id() + " to", slit.id() + ": ends, from the left edge", line.to(), ""));
            case LINE -> List.of(point(slit.id(), slit.id() + ": from, left and top", line.x1(), line.y1()),
                    point(slit.id() + " end", slit.id() + ": to, left and top", line.x2(), line.y2()));
        };
    }

    private static Reading point(String id, String label, Length x, Length y) {
        return new Reading(id, label, x, Optional.of(y), "", Optional.empty());
    }

    private static Reading reading(String id, String label, Length length, String how) {
        return new Reading(id, label, length, Optional.empty(), how, Optional.empty());
    }
}
