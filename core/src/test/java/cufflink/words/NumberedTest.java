package cufflink.words;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NumberedTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"cell 1;cell 2;cell 3 | cell 1 to 3", "cell 1;cell 3 | cell 1;cell 3",
        "insert 1 · insert;insert 2 · insert | insert 1 and 2 · insert", "front;back | front;back",
        "cell 1, layer 1;cell 2, layer 1;cell 2, layer 2 | cell 1 and 2, layer 1;cell 2, layer 2",
        "first panel;panel 2;panel 3;last panel | first panel;panel 2 and 3;last panel",
        "sleeve 9;sleeve 10;sleeve 11 | sleeve 9 to 11", "a 2 b 1;a 2 b 2 | a 2 b 1;a 2 b 2"})
    void namesInARow_areToldTogether(String names, String told) {
        assertEquals(Arrays.asList(told.split(";")), Numbered.runs(List.of(names.split(";"))));
    }

    @ParameterizedTest
    @CsvSource({"sleeve 2 · front, sleeve · front", "cell 12, cell", "layer 1, layer 1", "front, front",
        "'cell 3, layer 2', 'cell, layer 2'", "12 in square, 12 in square"})
    void name_withoutItsNumber(String name, String without) {
        assertEquals(without, Numbered.without(name));
    }

    @Test
    void inASentence_whatHasNoNumberHasItsArticle() {
        assertEquals(List.of("the front", "cell 1 to 3"),
                Numbered.runsWithArticles(List.of("front", "cell 1", "cell 2", "cell 3")));
    }

    @ParameterizedTest
    @CsvSource({"base, the base", "tier 3, tier 3", "panel 12 of sleeve 2, panel 12 of sleeve 2",
        "upper half of square 2, the upper half of square 2", "'front, layer 1', 'the front, layer 1'",
        "3 1/2 x 4 in, the 3 1/2 x 4 in", "'page 3, front', 'page 3, front'"})
    void article_isForWhatIsNotCounted(String name, String told) {
        assertEquals(told, Numbered.withArticle(name));
        assertEquals("Scores run past the edge of " + told + ".",
                CheckWords.SCORED_PAST.of("scores", "Scores", "panel", name).sentence());
        assertEquals(Character.toUpperCase(told.charAt(0)) + told.substring(1) + " stands out past the base by 1.",
                CheckWords.STANDS_OUT.of("panel", name, "cover", "base", "by", 1).sentence());
    }
}
