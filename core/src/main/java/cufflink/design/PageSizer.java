package cufflink.design;

import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Works out the pages that a design is leafed through by, and the poses in which each two of them are seen. */
final class PageSizer {
    private final Worksheet sheet;
    private final List<SizedDesign.Piece> pieces;
    private final List<Problem> problems;
    private final List<Page> pages = new ArrayList<>();

    PageSizer(Worksheet sheet, List<SizedDesign.Piece> pieces, List<Problem> problems) {
        this.sheet = sheet;
        this.pieces = pieces;
        this.problems = problems;
    }

    /** A page; those before it have been worked out. */
    Page page(PageDefinition page) {
        Page worked = new Page(sheet.text(page.book()), side(page.front(), false), side(page.back(), true),
                page.next().map(next -> CreaseRef.read(sheet.text(next), pieces.get(0).id())));
        pages.add(worked);
        return worked;
    }

    private Page.Side side(PageDefinition.Side side, boolean under) {
        PanelRef panel = named(side.panel());
        Face up = piece(panel.piece()).map(SizedDesign.Piece::up).orElse(Face.INSIDE);
        return new Page.Side(sheet.text(side.name()), panel, under ? up.other() : up);
    }

    private Optional<SizedDesign.Piece> piece(String id) {
        return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst();
    }

    /** The panel that is named by itself or by a page. */
    PanelRef panel(DesignDefinition.PanelPlace place) {
        PanelRef named = named(place);
        Optional<Page.Side> side = side(named);
        List<String> known = sides(named.piece()).map(Page.Side::name).toList();
        if (side.isEmpty() && !known.isEmpty()) {
            problems.add(Problem.error(named.toString(),
                    DesignWords.NO_SUCH_PAGE.of("page", named.panel(), "pages", known)));
        }
        return side.map(Page.Side::panel).orElse(named);
    }

    /** The face that a page names; absent for a panel. */
    Optional<Face> face(DesignDefinition.PanelPlace place) {
        return side(named(place)).map(Page.Side::face);
    }

    private PanelRef named(DesignDefinition.PanelPlace place) {
        return new PanelRef(sheet.text(place.piece()), sheet.text(place.panel()));
    }

    private Stream<Page.Side> sides(String book) {
        return pages.stream().filter(page -> page.book().equals(book)).flatMap(Page::sides);
    }

    private Optional<Page.Side> side(PanelRef named) {
        return sides(named.piece()).filter(side -> side.name().equals(named.panel())).findFirst();
    }

    /** The poses in which it is leafed through, once from its front and once from its back, and laid out at last. */
    Map<String, SizedDesign.Pose> spreads() {
        Map<String, SizedDesign.Pose> poses = new LinkedHashMap<>();
        List<Opened> openings = openings();
        leaf(openings.stream().filter(Opened::showsFronts).toList(), poses);
        List<Opened> backs = new ArrayList<>(openings.stream().filter(opened -> !opened.showsFronts()).toList());
        Collections.reverse(backs);
        leaf(backs, poses);
        if (!openings.isEmpty()) {
            Map<CreaseRef, Double> flat = new LinkedHashMap<>();
            openings.forEach(opened -> flat.put(opened.crease(), 0.0));
            poses.put(PageDefinition.LAID_OUT, new SizedDesign.Pose(Optional.empty(), Optional.empty(), flat));
        }
        return poses;
    }

    /** A crease at which it is opened. */
    private record Opened(CreaseRef crease, boolean showsFronts, Page.Side left, Page.Side right) {
    }

    private List<Opened> openings() {
        List<Page> own = pages.stream().filter(Page::isOwn).toList();
        List<Opened> openings = new ArrayList<>();
        for (int i = 0; i + 1 < own.size(); i++) {
            Page page = own.get(i);
            Page after = own.get(i + 1);
            page.next().ifPresent(crease -> score(crease).ifPresentOrElse(
                    score -> openings.add(score.fold() == Fold.VALLEY
                            ? new Opened(crease, true, page.front(), after.front())
                            : new Opened(crease, false, after.back(), page.back())),
                    () -> problems.add(Problem.error(PageDefinition.BOOK, DesignWords.NO_CREASE_TO_LEAF.of("page",
                            page.front().name(), "crease", crease)))));
        }
        return openings;
    }

    private Optional<Score> score(CreaseRef crease) {
        return piece(crease.piece()).flatMap(
                piece -> piece.scores().stream().filter(score -> score.id().equals(crease.crease())).findFirst());
    }

    /** Each spread follows the one before it: the leaf between them is turned over. */
    private static void leaf(List<Opened> openings, Map<String, SizedDesign.Pose> poses) {
        Optional<String> before = Optional.empty();
        for (int i = 0; i < openings.size(); i++) {
            Opened opened = openings.get(i);
            Map<CreaseRef, Double> angles = new LinkedHashMap<>();
            if (i > 0) {
                angles.put(openings.get(i - 1).crease(), 180.0);
            }
            angles.put(opened.crease(), 0.0);
            Page.Spread spread = new Page.Spread(opened.left(), opened.right(),
                    i > 0 ? openings.get(i - 1).left() : opened.right());
            poses.put(spread.name(), new SizedDesign.Pose(before, Optional.empty(), angles, false,
                    Optional.of(spread), Optional.empty()));
            before = Optional.of(spread.name());
        }
    }
}
