package cufflink.desktop.control;

import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/** Works out answers beside the window; only that to the newest question is heard. */
public final class NewestAnswer {
    private final Executor background;
    private final AtomicInteger asked = new AtomicInteger();
    private boolean open;

    /** {@code background} works out one answer after the other. */
    public NewestAnswer(Executor background) {
        this.background = background;
    }

    /** Asks anew; {@code heard} is told on the window's thread, unless something else is asked before. */
    public <A> void ask(Supplier<A> question, Consumer<A> heard) {
        int now = asked.incrementAndGet();
        open = true;
        background.execute(() -> {
            if (now == asked.get()) {
                try {
                    A answer = question.get();
                    tell(now, () -> heard.accept(answer));
                } catch (RuntimeException fault) {
                    tell(now, () -> {
                        throw fault; // the window knows how to report what nobody foresaw
                    });
                }
            }
        });
    }

    private void tell(int own, Runnable news) {
        Platform.runLater(() -> {
            if (own == asked.get()) {
                open = false;
                news.run();
            }
        });
    }

    /** Whether an answer is still to come. */
    public boolean isOpen() {
        return open;
    }

    /** Nothing more is wanted for now. */
    public void forget() {
        open = false;
        asked.incrementAndGet();
    }
}
