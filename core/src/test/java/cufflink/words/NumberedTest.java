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
}
