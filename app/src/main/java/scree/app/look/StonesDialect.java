package scree.app.look;

import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.dialect.AbstractDialect;
import org.thymeleaf.dialect.IExpressionObjectDialect;
import org.thymeleaf.expression.IExpressionObjectFactory;

/** Lets every template draw stones as {@code #stones}. */
@Component
class StonesDialect extends AbstractDialect implements IExpressionObjectDialect {
    private static final String NAME = "stones";
    private final Stones stones = new Stones();

    StonesDialect() {
        super("Scree's look");
    }

    @Override
    public IExpressionObjectFactory getExpressionObjectFactory() {
        return new IExpressionObjectFactory() {
            @Override
            public Set<String> getAllExpressionObjectNames() {
                return Set.of(NAME);
            }

            @Override
            public Object buildObject(IExpressionContext context, String name) {
                return NAME.equals(name) ? stones : null;
            }

            @Override
            public boolean isCacheable(String name) {
                return true;
            }
        };
    }
}
