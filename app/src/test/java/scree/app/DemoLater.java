package scree.app;

import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.ApplicationRunner;

/**
 * Loads the concert when its first test begins instead of while its application starts: applications start one at a time, and tests of
 * all others would wait.
 */
public class DemoLater implements BeanPostProcessor {
    private ApplicationRunner loader;

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        if (!name.equals("demoLoader")) {
            return bean;
        }
        loader = (ApplicationRunner) bean;
        return (ApplicationRunner) args -> {};
    }

    /** Fills the studio, once; does nothing where there is no demo. */
    public synchronized void load() {
        if (loader != null) {
            try {
                loader.run(null);
            } catch (Exception e) {
                throw new IllegalStateException("the concert could not be loaded", e);
            }
            loader = null;
        }
    }
}
