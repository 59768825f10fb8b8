package cufflink.check;

import cufflink.design.Page;
import cufflink.stack.Leafing;
import cufflink.words.CheckWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Do the pages of what is leafed through stand upright, and do its covers show the same side of the paper? */
final class PagesJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        Leafing.of(subject.stacked()).ifPresent(leafing -> {
            List<String> fallen = leafing.upsideDown().stream().map(Page.Side::name).toList();
            checks.add(fallen.isEmpty() ? Check.good("pages-upright", CheckWords.PAGES_UPRIGHT.of())
                    : Check.watch("pages-upright", Optional.empty(), CheckWords.PAGES_UPSIDE_DOWN.of("pages", fallen)));
            String front = side(subject, leafing.front());
            String back = side(subject, leafing.back());
            String first = leafing.front().name();
            String last = leafing.back().name();
            checks.add(front.equals(back)
                    ? Check.good("covers-alike",
                            CheckWords.COVERS_ALIKE.of("front", first, "back", last, "side", front))
                    : Check.watch("covers-alike", Optional.empty(),
                            CheckWords.COVERS_DIFFER.of("front", first, "back", last, "side", front,
                                    "other", back)));
        });
        return checks;
    }

    private static String side(CheckSubject subject, Page.Side page) {
        return subject.design().piece(page.panel().piece()).showsRightSide(page.face()) ? "right" : "wrong";
    }
}
