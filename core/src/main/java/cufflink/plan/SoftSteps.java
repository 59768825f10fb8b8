package cufflink.plan;

import cufflink.design.Fixing;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Offset;
import cufflink.design.SizedDesign.Said;
import cufflink.design.Soft;
import cufflink.measure.Length;
import cufflink.measure.Measured;
import cufflink.stack.SoftWay;
import cufflink.words.Message;
import cufflink.words.Numbered;
import cufflink.words.StepWords;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Cutting soft pieces to length, and fixing them and small hardware when the paper is joined. */
final class SoftSteps {
    private final RunSheet sheet;
    private final Workings plan;

    private SoftSteps(RunSheet sheet) {
        this.sheet = sheet;
        this.plan = sheet.plan();
    }

    /** A step for each material and width. */
    static void cut(RunSheet sheet) {
        SoftSteps steps = new SoftSteps(sheet);
        Map<List<Object>, List<SoftWay>> alike = new LinkedHashMap<>();
        steps.plan.soft().forEach(way -> alike.computeIfAbsent(
                List.of(way.soft().strand().material(), way.soft().strand().width()), key -> new ArrayList<>())
                .add(way));
        alike.values().forEach(steps::cut);
    }

    private void cut(List<SoftWay> ways) {
        Soft.Strand strand = ways.get(0).soft().strand();
        Map<Length, List<SoftWay>> lengths = ways.stream()
                .collect(Collectors.groupingBy(SoftWay::length, LinkedHashMap::new, Collectors.toList()));
        List<String> cuts = new ArrayList<>();
        List<Reading> readings = new ArrayList<>();
        lengths.forEach((length, those) -> {
            String names = those.stream().map(way -> way.soft().label().toLowerCase(Locale.ROOT)).distinct()
                    .collect(Collectors.joining(", "));
            cuts.add(StepWords.CUT_STRAND.of("count", those.size() * plan.project().copies(), "length",
                    measured(length), "soft", names).sentence());
            readings.add(new Reading(those.get(0).soft().id(), names, length, Optional.empty(), "", Optional.empty()));
        });
        Length total = ways.stream().map(SoftWay::length).reduce(Length.ZERO, Length::plus)
                .times(plan.project().copies());
        String material = strand.material();
        sheet.addOnce(
                StepWords.CUT_STRANDS_TITLE.of("material",
                        Character.toUpperCase(material.charAt(0)) + material.substring(1), "width",
                        measured(strand.width())),
                List.of(StepWords.CUT_STRANDS.of("material", material, "width", measured(strand.width()), "cuts",
                        String.join("; ", cuts), "total", measured(total))),
                Optional.empty(), new StepSubject.OfStrands(ways), readings);
    }

    private Measured measured(Length length) {
        return Measured.of(length, plan.format());
    }

    /** Soft pieces first, then what may hold them. */
    static void fix(RunSheet sheet) {
        SoftSteps steps = new SoftSteps(sheet);
        steps.plan.design().soft().forEach(steps::fix);
        steps.plan.design().fixings().forEach(steps::fix);
    }

    private void fix(Soft soft) {
        List<Reading> readings = new ArrayList<>();
        Set<Object> marked = new HashSet<>();
        for (int i = 0; i < soft.way().size(); i++) {
            Soft.Stay stay = soft.way().get(i);
            // On both faces of a panel at one place: one mark.
            if (!stay.slides() && marked.add(List.of(stay.panel(), stay.at()))) {
                readings.addAll(place(soft.id() + " " + (i + 1), stay.panel(), stay.at()));
            }
        }
        add(soft.said(), Optional.empty(), lies(soft)
                .<StepSubject>map(stay -> new StepSubject.OfTrim(stay.panel(), stay.face(), soft.id()))
                .orElseGet(StepSubject.OfCard::new), readings);
    }

    /** Where the first stretch lies that is seen on a panel; without one, where it begins. */
    private static Optional<Soft.Stay> lies(Soft soft) {
        return IntStream.range(0, soft.way().size() - 1)
                .filter(i -> soft.way().get(i).isBeside(soft.way().get(i + 1))).mapToObj(soft.way()::get).findFirst()
                .or(() -> soft.way().stream().findFirst());
    }

    private void fix(Fixing fixing) {
        add(fixing.said(), Optional.of(StepWords.SMALL_PARTS.of()),
                new StepSubject.OfTrim(fixing.panel(), fixing.face(), fixing.id()),
                place(fixing.id(), fixing.panel(), fixing.at()));
    }

    private void add(Said said, Optional<Message> caution, StepSubject subject, List<Reading> readings) {
        sheet.add(StepWords.NAMED.of("what", said.title()), List.of(StepWords.NAMED.of("what", said.all())), caution,
                subject, readings);
    }

    private List<Reading> place(String id, PanelRef panel, Offset at) {
        String of = plan.pieces().get(panel.piece()).pattern().panel(panel.panel())
                .map(onto -> " of " + Numbered.withArticle(onto.label())).orElse("");
        return List.of(sheet.place(id + " x", "left edge" + of, at.x()),
                sheet.place(id + " y", "top edge" + of, at.y()));
    }
}
