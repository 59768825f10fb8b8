package cufflink.problem;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.words.FoldWords;
import cufflink.words.ProgramWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What outcomes promise: no value without an error, and no problem lost on the way. */
class OutcomeTest {
    private static final Problem NOTICE = Problem.notice("here", FoldWords.NOT_FLAT.of());
    private static final Problem ERROR = Problem.error("there", FoldWords.NOT_FLAT.of());

    @Test
    void outcomeWithoutValue_needsAnError() {
        List<Problem> none = List.of();
        List<Problem> notices = List.of(NOTICE);
        assertThrows(IllegalArgumentException.class, () -> Outcome.failed(none));
        assertThrows(IllegalArgumentException.class, () -> Outcome.failed(notices));
    }

    @Test
    void noticesOfEveryStage_areKept_inTheirOrder() {
        Outcome<Integer> two = Outcome.of(1, List.of(NOTICE)).map(one -> one + 1)
                .then(value -> Outcome.of(value, List.of(NOTICE.at("later"))));
        assertEquals(Optional.of(2), two.value());
        assertEquals(List.of("here", "later"), two.problems().stream().map(Problem::where).toList());
    }

    @Test
    void afterAFailure_nothingIsTried() {
        List<Integer> tried = new ArrayList<>();
        Outcome<Integer> failed = Outcome.<Integer>failed(ERROR).then(value -> {
            tried.add(value);
            return Outcome.of(value);
        });
        assertEquals(List.of(ERROR), failed.problems());
        assertEquals(List.of(), tried);
    }

    @Test
    void failureOfALaterStage_keepsTheNoticesBefore() {
        Outcome<Integer> failed = Outcome.of(1, List.of(NOTICE)).then(value -> Outcome.failed(ERROR));
        assertEquals(List.of(NOTICE, ERROR), failed.problems());
        IllegalStateException told = assertThrows(IllegalStateException.class, failed::orThrow);
        assertTrue(told.getMessage().contains(ERROR.what()), told.getMessage());
    }

    @Test
    void copies_keepTheOrder_andCannotBeChanged() {
        Map<String, Integer> given = new LinkedHashMap<>();
        for (String key : List.of("zinc", "amber", "moss", "birch", "opal", "clay")) {
            given.put(key, key.length());
        }
        Map<String, Integer> copy = Ordered.map(given);
        given.clear();
        assertEquals(List.of("zinc", "amber", "moss", "birch", "opal", "clay"), List.copyOf(copy.keySet()));
        assertThrows(UnsupportedOperationException.class, copy::clear);
        assertThrows(UnsupportedOperationException.class, () -> Ordered.set(List.of(1)).add(2));
    }

    @Test
    void whatWasNotForeseen_saysSo_andKeepsTheFault() {
        RuntimeException fault = new RuntimeException("inner");
        Problem problem = Problem.unforeseen("card.json", fault);
        assertEquals(ProgramWords.UNFORESEEN, problem.code());
        assertEquals(Optional.of(fault), problem.at("elsewhere").fault());
        assertTrue(problem.isError() && !problem.text().contains("inner"), problem.text());
    }

    @Test
    void text_isPlaceFactAndRemedy() {
        assertTrue(ERROR.text().startsWith("there: " + ERROR.what()), ERROR.text());
        assertTrue(ERROR.at("").text().startsWith(ERROR.what()), ERROR.text());
    }

    @Test
    void places_countFromOne_andMoveAlongTheLine() {
        assertEquals("card.yaml, line 3, column 9", new Place("card.yaml", 3, 5).after(4).toString());
    }
}
