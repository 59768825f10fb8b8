package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.desktop.work.ShelfWork.Dress;
import cufflink.desktop.work.ShelfWork.Shelf;
import cufflink.desktop.work.ShelfWork.Wanted;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.paper.Weight;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The shelf as it fills beside the window. */
class ShelfWorkTest {
    private final Queue<Runnable> background = new ArrayDeque<>();
    private final List<Shelf> shown = new ArrayList<>();
    private final Map<Project, Long> stands = new LinkedHashMap<>();
    private final ShelfWork work = new ShelfWork(DesignLibrary.builtIn(), ShelfWork.Keep.NOTHING, background::add,
            Runnable::run);
    private final ShelfWork.Listener listener = new ShelfWork.Listener() {
        @Override
        public void shown(Shelf shelf) {
            shown.add(shelf);
        }

        @Override
        public void stands(Project project, long bad) {
            stands.put(project, bad);
        }
    };

    private Shelf look(ShelfWork at, RulerStep ruler, Wanted wanted, Project... projects) {
        at.look(ruler, wanted, List.of(projects), listener);
        background.remove().run();
        return shown.get(shown.size() - 1);
    }

    private static Wanted wanted(List<String> uses, List<String> sheets) {
        return new Wanted(uses, sheets, Optional.empty(), Optional.empty(), Dress.PLAIN);
    }

    /** The plan of a design as it is shown. */
    private Plan plan(ShelfCard card, RulerStep ruler) {
        return Planner.plan(work.asShown(card, ruler, work.lately())).orThrow();
    }

    private static List<String> ids(Shelf shelf) {
        return shelf.found().stream().map(item -> item.head().id()).toList();
    }

    @Test
    void firstLook_fillsTheShelfCardByCard_inItsOrder() {
        Shelf all = look(work, RulerStep.SIXTEENTH_INCH, Wanted.ANYTHING);
        int count = BuiltInDesigns.all().size();
        assertEquals(count, all.made());
        assertTrue(all.complete());
        assertEquals(count + 1, shown.size());
        for (int i = 0; i < count; i++) {
            assertEquals(ids(all).subList(0, i + 1), ids(shown.get(i)));
        }
        List<String> groups = all.found().stream().map(item -> item.head().group()).distinct().toList();
        assertEquals(groups, groups.stream().sorted(Comparator.comparing(List.of("card base", "gift card holder",
                "pocket", "folio", "set", "finishing")::indexOf)).toList());
    }

    @Test
    void secondLook_plansNothingAnew() {
        Shelf first = look(work, RulerStep.SIXTEENTH_INCH, Wanted.ANYTHING);
        shown.clear();
        Shelf again = look(work, RulerStep.SIXTEENTH_INCH, Wanted.ANYTHING);
        assertEquals(1, shown.size());
        assertEquals(first.found().stream().map(ShelfCard::takes).toList(),
                again.found().stream().map(ShelfCard::takes).toList());
    }

    @Test
    void usesAndSheets_chooseTheDesigns() {
        String use = work.uses().iterator().next();
        Shelf some = look(work, RulerStep.SIXTEENTH_INCH, wanted(List.of(use), List.of()));
        assertEquals(BuiltInDesigns.all().stream().filter(design -> design.head().uses().contains(use))
                .map(DesignDefinition::id).sorted().toList(), ids(some).stream().sorted().toList());
        Shelf small = look(work, RulerStep.SIXTEENTH_INCH, wanted(List.of(), List.of("8 in square")));
        assertTrue(!small.found().isEmpty() && small.found().size() < small.made(), ids(small).toString());
        Shelf either = look(work, RulerStep.SIXTEENTH_INCH, wanted(List.of(), List.of("8 in square", "Letter")));
        assertTrue(ids(either).containsAll(ids(small)) && either.found().size() > small.found().size());
    }

    /** A design is begun from the sheet that was ticked: the first of them that gives it. */
    @Test
    void tickedSheet_isThePaperOfWhatIsBegun() {
        Shelf shelf = look(work, RulerStep.SIXTEENTH_INCH, wanted(List.of(), List.of("8 in square", "12 in square")));
        Set<Length> sides = new TreeSet<>();
        shelf.found().forEach(item -> {
            Plan plan = plan(item, RulerStep.SIXTEENTH_INCH);
            sides.add(plan.project().card().width());
            assertTrue(plan.layout().unplaced().isEmpty());
        });
        assertEquals(Set.of(Length.ofInches(8), Length.ofInches(12)), sides);
    }

    /** Worked out from the pockets, whatever a design says of itself; each is begun so that it holds it. */
    @Test
    void whatIsToBeHeld_choosesTheDesigns() {
        Shelf shelf = look(work, RulerStep.SIXTEENTH_INCH, new Wanted(List.of(), List.of(),
                Optional.of(Contents.GIFT_CARD), Optional.empty(), Dress.PLAIN));
        List<String> ids = ids(shelf);
        assertTrue(ids.containsAll(List.of("m-fold-holder", "sleeve-folio", "ribbon-wallet", "gusset-purse",
                "pocket-fold")), ids.toString());
        assertTrue(Stream.of("half-fold", "belly-band", "rosette", "note-step").noneMatch(ids::contains),
                ids.toString());
        assertTrue(shelf.found().stream().noneMatch(item -> plan(item, RulerStep.SIXTEENTH_INCH)
                .verdict() == Verdict.BAD));
        assertTrue(work.uses().stream().noneMatch(use -> use.equals("hold a gift card")), work.uses().toString());
        Contents large = Contents.known().stream().filter(item -> item.name().equals("photograph 10 x 15 cm"))
                .findFirst().orElseThrow();
        look(work, RulerStep.MILLIMETRE, new Wanted(List.of(), List.of(), Optional.of(large), Optional.empty(),
                Dress.PLAIN)).found().forEach(item -> {
                    Plan plan = plan(item, RulerStep.MILLIMETRE);
                    plan.closedHeight().ifPresent(height -> assertTrue(
                            height.plus(plan.closedWidth().orElseThrow()).isLongerThan(large.width()),
                            item.head().id()));
                });
    }

    @Test
    void envelope_choosesTheDesignsThatCanGoIntoIt_atThatSize() {
        NamedSize a2 = PublishedSizes.named(NamedSize.Kind.ENVELOPE, "A2").orElseThrow();
        Shelf shelf = look(work, RulerStep.SIXTEENTH_INCH, new Wanted(List.of(), List.of(), Optional.empty(),
                Optional.of(a2), Dress.PLAIN));
        List<String> ids = ids(shelf);
        assertTrue(ids.containsAll(List.of("half-fold", "overlapping-gate", "m-fold-holder")), ids.toString());
        assertTrue(Stream.of("gusset-purse", "rosette").noneMatch(ids::contains), ids.toString());
        shelf.found().forEach(item -> assertTrue(plan(item, RulerStep.SIXTEENTH_INCH).checks().stream()
                .anyMatch(check -> check.id().equals("envelope") && check.verdict() != Verdict.BAD),
                item.head().id()));
        List<String> both = ids(look(work, RulerStep.SIXTEENTH_INCH, new Wanted(List.of(), List.of("Letter"),
                Optional.of(Contents.GIFT_CARD), Optional.of(a2), Dress.PLAIN)));
        assertTrue(both.contains("m-fold-holder") && !both.contains("half-fold"), both.toString());
    }

    @Test
    void designs_areShownInThePapersThatWereChosen() {
        Stock night = new Stock("Night", Length.ofInches(17, 2), Length.ofInches(11), Weight.gsm(270), Optional.empty(),
                "#101830", "#202840", false, Stock.Grain.UNKNOWN);
        Stock stars = Stock.plain("Stars", PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow(), 120);
        Shelf shelf = look(work, RulerStep.SIXTEENTH_INCH, new Wanted(List.of(), List.of(),
                Optional.empty(), Optional.empty(), new Dress(Optional.of(night), Optional.of(stars))));
        shelf.found().forEach(item -> {
            Project shown = work.asShown(item, RulerStep.SIXTEENTH_INCH, work.lately());
            assertEquals(night, shown.card());
            assertEquals(stars, shown.paper(PaperRole.layer(1)));
        });
        assertEquals("Night", work.lately().dress().card().orElseThrow().name());
    }

    @Test
    void designsMadeLately_standFirstInTheirSection() {
        Project gate = Project.of(DesignLibrary.builtIn().find("overlapping-gate").orThrow(), RulerStep.SIXTEENTH_INCH);
        Project wallet = Project.of(DesignLibrary.builtIn().find("ribbon-wallet").orThrow(), RulerStep.SIXTEENTH_INCH);
        List<String> ids = ids(look(work, RulerStep.SIXTEENTH_INCH, Wanted.ANYTHING, wallet, gate, wallet));
        assertEquals("overlapping-gate", ids.get(0));
        assertTrue(ids.indexOf("ribbon-wallet") < ids.indexOf("m-fold-holder"));
    }

    @Test
    void lookThatWasLeft_isHeardNoMore() {
        int look = work.look(RulerStep.SIXTEENTH_INCH, Wanted.ANYTHING, List.of(), listener);
        work.leave(look);
        background.remove().run();
        assertTrue(shown.isEmpty());
    }

    /** The next screen looks before the one before it is left. */
    @Test
    void leavingAnEarlierLook_endsNoLaterOne() {
        int earlier = work.look(RulerStep.SIXTEENTH_INCH, Wanted.ANYTHING, List.of(), listener);
        work.look(RulerStep.MILLIMETRE, Wanted.ANYTHING, List.of(), listener);
        work.leave(earlier);
        background.remove().run();
        assertTrue(shown.isEmpty());
        background.remove().run();
        assertTrue(shown.get(shown.size() - 1).complete());
    }

    @Test
    void newRuler_newSizes() {
        Shelf inches = look(work, RulerStep.SIXTEENTH_INCH, Wanted.ANYTHING);
        Shelf metric = look(work, RulerStep.MILLIMETRE, Wanted.ANYTHING);
        assertEquals(ids(inches), ids(metric));
        assertTrue(metric.found().stream().allMatch(item -> item.takes().matches("(.*mm.*)? · .*")), metric.toString());
    }

    @Test
    void projects_sayHowManyChecksAreBad() {
        Project good = Project.of(DesignLibrary.builtIn().find("half-fold").orThrow(), RulerStep.SIXTEENTH_INCH);
        Project bad = Project.of(DesignLibrary.builtIn().find("overlapping-gate").orThrow(), RulerStep.SIXTEENTH_INCH)
                .withSet("cover", "2 in").withSet("underlap", "1 in");
        look(work, RulerStep.SIXTEENTH_INCH, Wanted.ANYTHING, good, bad);
        assertEquals(0, stands.get(good));
        assertTrue(stands.get(bad) > 0, stands.toString());
    }

    @Test
    void designThatCannotBeRead_standsThereWithItsReason(@TempDir Path folder) throws Exception {
        Files.writeString(folder.resolve("broken.yaml"), "id: [");
        ShelfWork own = new ShelfWork(DesignLibrary.with(folder), ShelfWork.Keep.NOTHING, background::add,
                Runnable::run);
        Shelf shelf = look(own, RulerStep.SIXTEENTH_INCH, wanted(List.of("nothing at all"), List.of()));
        assertEquals(List.of(), shelf.found());
        assertEquals(List.of("broken.yaml"), shelf.refused().stream().map(ShelfWork.Refused::name).toList());
        assertEquals(BuiltInDesigns.all().size(), shelf.made());
    }
}
