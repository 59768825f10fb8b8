package cufflink.problem;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class RememberedTest {
    private final List<Integer> worked = new ArrayList<>();
    private final Remembered<Integer, Integer> squares = new Remembered<>(2, number -> {
        worked.add(number);
        return number * number;
    });

    @Test
    void answerIsWorkedOutOnce_whileItIsRemembered() {
        assertEquals(List.of(9, 16, 9), List.of(squares.of(3), squares.of(4), squares.of(3)));
        assertEquals(List.of(3, 4), worked);
    }

    @Test
    void answerNotAskedForLongest_isForgotten() {
        List.of(3, 4, 3, 5, 3, 4).forEach(squares::of);
        assertEquals(List.of(3, 4, 5, 4), worked);
    }
}
