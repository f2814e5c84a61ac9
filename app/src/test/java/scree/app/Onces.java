package scree.app;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.BDDMockito.given;

import java.util.function.Supplier;
import scree.app.web.Once;

/** Lets a mocked {@link Once} do what it is asked, as the first press of a form. */
public final class Onces {
    private Onces() {}

    public static void letThrough(Once once) {
        given(once.only(any(), any(), any()))
                .willAnswer(call -> call.<Supplier<String>>getArgument(2).get());
    }
}
