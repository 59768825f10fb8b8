package cufflink.desktop.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.work.ShelfCard;
import cufflink.desktop.work.ShelfWork;
import cufflink.desktop.work.ShelfWork.Dress;
import cufflink.desktop.work.ShelfWork.Shelf;
import cufflink.desktop.work.ShelfWork.Wanted;
import cufflink.drawing.Picture;
import cufflink.drawing.Shape;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.FacePicture;
import cufflink.paper.NamedSize;
import cufflink.paper.Print;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The shelf from one start to the next. */
class ShelfKeepTest {
    private static final RulerStep RULER = RulerStep.SIXTEENTH_INCH;
    private static final Wanted FROM_LETTER = new Wanted(List.of(), List.of("Letter"), Optional.empty(),
            Optional.empty(), Dress.PLAIN);
    private static final Shelf SHELF = shelf();

    @TempDir
    private Path data;
    private final SaveQueue saver = new SaveQueue();
    private ShelfKeep keep;

    @BeforeEach
    void emptyFolder() {
        keep = asStarted();
    }

    @AfterEach
    void nothingIsWrittenAnyMore() {
        saver.close();
    }

    /** All designs as they are set out. */
    private static Shelf shelf() {
        List<Shelf> shown = new ArrayList<>();
        new ShelfWork(DesignLibrary.builtIn(), ShelfWork.Keep.NOTHING, Runnable::run, Runnable::run).look(RULER,
                Wanted.ANYTHING, List.of(), new ShelfWork.Listener() {
                    @Override
                    public void shown(Shelf shelf) {
                        shown.add(shelf);
                    }

                    @Override
                    public void stands(Project project, long bad) {
                        throw new IllegalStateException("no projects were given");
                    }
                });
        return shown.get(shown.size() - 1);
    }

    private ShelfKeep asStarted() {
        return new ShelfKeep(data, saver, ShelfKeep.program(data));
    }

    private void kept(Wanted wanted) {
        keep.keep(RULER, wanted, SHELF);
        saver.flush();
    }

    private static List<List<Object>> said(Shelf shelf) {
        return shelf.found().stream().map(card -> List.<Object>of(card.head(), card.way(), card.takes(), card.steps()))
                .toList();
    }

    @Test
    void whatStoodOnTheShelf_isTheSameAgain() {
        kept(Wanted.ANYTHING);
        Shelf again = keep.read(RULER, Wanted.ANYTHING).orElseThrow();
        assertEquals(said(SHELF), said(again));
        assertEquals(SHELF.refused(), again.refused());
        assertEquals(SHELF.made(), again.made());
        assertTrue(again.complete());
    }

    /** To a thousandth of a millimetre, which no window shows. */
    @Test
    void pictures_areTheSameAgain() {
        kept(Wanted.ANYTHING);
        Shelf again = keep.read(RULER, Wanted.ANYTHING).orElseThrow();
        int count = 0;
        for (int i = 0; i < SHELF.found().size(); i++) {
            Optional<Picture> before = SHELF.found().get(i).picture();
            Optional<Picture> after = again.found().get(i).picture();
            String id = SHELF.found().get(i).head().id();
            assertEquals(before.map(Picture::bounds), after.map(Picture::bounds), id);
            assertEquals(before.map(picture -> unplaced(picture.shapes())),
                    after.map(picture -> unplaced(picture.shapes())), id);
            assertEquals(before.isPresent(), after.isPresent());
            count += before.map(picture -> picture.shapes().size()).orElse(0);
            List<Shape.Spot> there = after.map(ShelfKeepTest::spots).orElse(List.of());
            List<Shape.Spot> wanted = before.map(ShelfKeepTest::spots).orElse(List.of());
            for (int k = 0; k < wanted.size(); k++) {
                assertEquals(wanted.get(k).x(), there.get(k).x(), 1e-3, id);
                assertEquals(wanted.get(k).y(), there.get(k).y(), 1e-3, id);
            }
        }
        assertTrue(count > 300, "shapes: " + count);
    }

    /** All but where they are. */
    private static List<Shape> unplaced(List<Shape> shapes) {
        return shapes.stream().map(shape -> shape.moved(spot -> new Shape.Spot(0, 0))).toList();
    }

    private static List<Shape.Spot> spots(Picture picture) {
        List<Shape.Spot> spots = new ArrayList<>();
        picture.shapes().forEach(shape -> shape.moved(spot -> {
            spots.add(spot);
            return spot;
        }));
        return spots;
    }

    @Test
    void lastLook_standsThereAtTheNextStart() {
        kept(Wanted.ANYTHING);
        kept(FROM_LETTER);
        assertEquals(said(SHELF), said(ShelfKeep.last(data).orElseThrow()));
        assertTrue(keep.isLast(RULER, FROM_LETTER));
        assertFalse(keep.isLast(RULER, Wanted.ANYTHING));
        keep.read(RULER, Wanted.ANYTHING);
        saver.flush();
        assertTrue(keep.isLast(RULER, Wanted.ANYTHING));
    }

    @Test
    void anotherWishOrRulerOrDesign_isSetOutAnew() throws IOException {
        kept(Wanted.ANYTHING);
        assertEquals(Optional.empty(), keep.read(RULER, FROM_LETTER));
        assertEquals(Optional.empty(), keep.read(RulerStep.MILLIMETRE, Wanted.ANYTHING));
        Files.createDirectories(data.resolve("designs"));
        Files.writeString(data.resolve("designs/own.yaml"), "id: own");
        assertEquals(Optional.empty(), asStarted().read(RULER, Wanted.ANYTHING));
        assertEquals(Optional.empty(), ShelfKeep.last(data));
        // What is set out later by a program that has not read that design is none of its shelf.
        kept(FROM_LETTER);
        assertEquals(Optional.empty(), asStarted().read(RULER, FROM_LETTER));
        assertEquals(Optional.empty(), ShelfKeep.last(data));
    }

    /** Whatever became of the file: it is worked out again. */
    @Test
    void damagedFile_isAsIfThereWereNone() throws IOException {
        kept(Wanted.ANYTHING);
        Path file;
        try (Stream<Path> files = Files.list(data.resolve("shelves"))) {
            file = files.filter(one -> one.toString().endsWith(".shelf")).findFirst().orElseThrow();
        }
        byte[] whole = Files.readAllBytes(file);
        for (int length : new int[] {0, 5, whole.length / 2, whole.length - 1}) {
            Files.write(file, Arrays.copyOf(whole, length));
            assertEquals(Optional.empty(), keep.read(RULER, Wanted.ANYTHING));
        }
        byte[] other = whole.clone();
        other[whole.length / 3] ^= 1;
        Files.write(file, other);
        assertEquals(Optional.empty(), ShelfKeep.last(data));
        Files.writeString(data.resolve("shelves/last"), "no such thing");
        assertEquals(Optional.empty(), ShelfKeep.last(data));
    }

    @Test
    void onlyTheLatestTwelve_areKept() throws IOException {
        for (RulerStep ruler : RulerStep.values()) {
            for (List<String> sheets : List.of(List.<String>of(), List.of("A4"), List.of("Letter"))) {
                keep.keep(ruler, new Wanted(List.of(), sheets, Optional.empty(), Optional.empty(), Dress.PLAIN),
                        SHELF);
                saver.flush();
            }
        }
        try (Stream<Path> files = Files.list(data.resolve("shelves"))) {
            assertEquals(12, files.filter(one -> one.toString().endsWith(".shelf")).count());
        }
    }

    /** A picture of the paper would have to be kept with it. */
    @Test
    void shelfInPrintedPaper_isNotKept() {
        Stock plain = Stock.plain("Stars", PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow(), 120);
        Stock printed = plain.withPrint(new Print(plain.print().swatch(), plain.print().sides(),
                Optional.of(new FacePicture("AAAA", Length.ofInches(1), Length.ofInches(1)))));
        Wanted wanted = new Wanted(List.of(), List.of(), Optional.empty(), Optional.empty(),
                new Dress(Optional.of(printed), Optional.empty()));
        kept(Wanted.ANYTHING);
        kept(wanted);
        assertEquals(Optional.empty(), keep.read(RULER, wanted));
        assertEquals(Optional.empty(), ShelfKeep.last(data));
    }
}
