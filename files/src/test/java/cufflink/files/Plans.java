package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.OrnamentShape;
import cufflink.design.PanelRef;
import cufflink.design.PartAdding;
import cufflink.design.PartPlace;
import cufflink.design.Raise;
import cufflink.design.SizedDesign;
import cufflink.files.design.DesignLibrary;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.NamedSize;
import cufflink.paper.NamedSize.Kind;
import cufflink.paper.PublishedSizes;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Plans of the built-in designs, and what is expected of them, in the maker's words. */
public final class Plans {
    private static final int MANY = 400;
    private static final Map<Project, Plan> LATELY = new LinkedHashMap<>(MANY, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Project, Plan> eldest) {
            return size() > MANY;
        }
    };

    private final Plan plan;

    private Plans(Plan plan) {
        this.plan = plan;
    }

    public static Project project(String design) {
        return Project.of(DesignLibrary.builtIn().find(design).orThrow(), RulerStep.SIXTEENTH_INCH);
    }

    public static Project metric(String design) {
        return Project.of(DesignLibrary.builtIn().find(design).orThrow(), RulerStep.MILLIMETRE);
    }

    /** The project with each {@code measure=value} set as a maker types it; nothing after the sign is nothing typed. */
    public static Project set(Project project, String... entries) {
        Project next = project;
        for (String entry : entries) {
            String[] typed = entry.split("=", 2);
            next = next.withSet(typed[0], typed[1]);
        }
        return next;
    }

    /** A flat rectangle, millimetres: how far its left and top edges lie inside those of its panel, and its sides. */
    public static Ornament strip(String id, PanelRef on, Face face, double x, double y, double w, double h) {
        return new Ornament(id, id, on, face, new Ornament.Put(inside(x), inside(y), 0),
                new Ornament.Form(OrnamentShape.RECTANGLE, Length.nearestToMillimetres(w),
                        Length.nearestToMillimetres(h), Optional.empty()),
                Raise.FLAT.height(), Optional.empty());
    }

    private static Ornament.Along inside(double by) {
        return new Ornament.Along(Ornament.Anchor.START, Length.nearestToMillimetres(by));
    }

    /** The project with a part of a built-in design, written {@code name=design@place}, or {@code @place:face}. */
    public static Outcome<Project> adding(Project project, String part) {
        String[] said = part.split("[=@]");
        Optional<Face> face = Arrays.stream(Face.values()).filter(one -> said[2].endsWith(":" + one.word()))
                .findFirst();
        String place = face.map(one -> said[2].substring(0, said[2].lastIndexOf(':'))).orElse(said[2]);
        return PartAdding.part(project.design(), said[0], project(said[1]).design(),
                PartPlace.read(place, face).orElseThrow()).map(project::withPart);
    }

    /** The same project always has an equal plan: one that was asked for lately is not worked out again. */
    public static Plan plan(Project project) {
        synchronized (LATELY) {
            return LATELY.computeIfAbsent(project, asked -> Planner.plan(asked).orThrow());
        }
    }

    public static Plans expect(Project project) {
        return new Plans(plan(project));
    }

    public static Length length(String text) {
        return LengthParser.read(text, LengthUnit.MILLIMETRE).value().orElseThrow();
    }

    public static NamedSize envelope(String name) {
        return PublishedSizes.named(Kind.ENVELOPE, name).orElseThrow();
    }

    public static NamedSize sheet(String name) {
        return PublishedSizes.named(Kind.SHEET, name).orElseThrow();
    }

    public static Wish fromSheet(String name, int count) {
        return fromSheet(name, count, new SheetUse.Shape());
    }

    public static Wish fromSheet(String name, int count, SheetUse use) {
        NamedSize sheet = sheet(name);
        return new Wish.FromSheet(sheet.name(), sheet.width(), sheet.height(), count, use);
    }

    public Plans closes(String width, String height) {
        assertEquals(List.of(length(width), length(height)),
                List.of(plan.closedWidth().orElseThrow(), plan.closedHeight().orElseThrow()));
        return this;
    }

    public Plans cuts(String piece, String width, String height) {
        SizedDesign.Piece found = plan.design().piece(piece);
        assertEquals(List.of(length(width), length(height)), List.of(found.width().length(), found.height().length()));
        return this;
    }

    public Plans scores(String piece, String... positions) {
        assertEquals(List.of(positions).stream().map(Plans::length).toList(),
                plan.design().piece(piece).scores().stream()
                        .map(score -> score.line().at().orElseThrow().length()).toList());
        return this;
    }

    public Plans measures(String name, String value) {
        assertEquals(length(value), plan.measures().length(name), name);
        return this;
    }

    public Plans judges(String check, Verdict verdict) {
        Check found = check(check);
        assertEquals(verdict, found.verdict(), found.text());
        return this;
    }

    public Plans says(String check, String words) {
        assertTrue(check(check).text().contains(words), check(check).text());
        return this;
    }

    public Plans hasNothingBad() {
        assertTrue(plan.checks().stream().noneMatch(check -> check.verdict() == Verdict.BAD),
                () -> plan.checks().toString());
        return this;
    }

    public Plan plan() {
        return plan;
    }

    private Check check(String id) {
        return plan.checks().stream().filter(check -> check.id().equals(id)).findFirst()
                .orElseThrow(() -> new AssertionError(
                        "no check " + id + " in " + plan.checks().stream().map(Check::id).toList()));
    }
}
