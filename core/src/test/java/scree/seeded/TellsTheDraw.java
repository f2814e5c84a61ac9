package scree.seeded;

import java.lang.reflect.Method;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.InvocationInterceptor;
import org.junit.jupiter.api.extension.ReflectiveInvocationContext;

/** Puts the seed and all that was drawn before the words of a failure. */
final class TellsTheDraw implements InvocationInterceptor {
    @Override
    public void interceptTestTemplateMethod(
            Invocation<Void> invocation, ReflectiveInvocationContext<Method> method, ExtensionContext context)
            throws Throwable {
        try {
            invocation.proceed();
        } catch (Throwable failed) {
            throw new AssertionError(method.getArguments().get(0) + "\n" + failed.getMessage(), failed);
        }
    }
}
