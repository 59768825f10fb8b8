package cufflink.desktop;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.util.concurrent.Callable;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.scene.Node;
import org.testfx.api.FxRobot;
import org.testfx.service.query.NodeQuery;
import org.testfx.util.WaitForAsyncUtils;

/**
 * A robot that looks on the window's own thread, wherever it is asked from: a list of nodes that is read while the
 * window changes it is no list.
 */
class WindowRobot extends FxRobot {
    @Override
    public NodeQuery lookup(String query) {
        return there(onTheWindowsThread(() -> super.lookup(query)));
    }

    @Override
    public <T extends Node> NodeQuery lookup(Predicate<T> predicate) {
        return there(onTheWindowsThread(() -> super.lookup(predicate)));
    }

    @Override
    public NodeQuery from(Node... parents) {
        return there(super.from(parents));
    }

    private static NodeQuery there(NodeQuery query) {
        return (NodeQuery) Proxy.newProxyInstance(NodeQuery.class.getClassLoader(), new Class<?>[] {NodeQuery.class},
                (proxy, method, arguments) -> {
                    Object found = onTheWindowsThread(() -> called(query, method, arguments));
                    return found instanceof NodeQuery further ? there(further) : found;
                });
    }

    private static Object called(NodeQuery query, Method method, Object[] arguments) throws Exception {
        try {
            return method.invoke(query, arguments);
        } catch (InvocationTargetException thrown) {
            throw thrown.getCause() instanceof Exception cause ? cause : thrown;
        }
    }

    private static <T> T onTheWindowsThread(Callable<T> asked) {
        if (!Platform.isFxApplicationThread())
            return WaitForAsyncUtils.waitForAsyncFx(15_000, asked);
        try {
            return asked.call();
        } catch (RuntimeException thrown) {
            throw thrown;
        } catch (Exception thrown) {
            throw new IllegalStateException(thrown);
        }
    }
}
