package scree.app.web;

import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.dialect.AbstractDialect;
import org.thymeleaf.dialect.IExpressionObjectDialect;
import org.thymeleaf.expression.IExpressionObjectFactory;

/** Gives templates {@code #once.fresh()}: the token of a form that counts once. */
@Component
class OnceDialect extends AbstractDialect implements IExpressionObjectDialect {
    OnceDialect() {
        super("once");
    }

    /** What templates call. */
    public static final class Tokens {
        public String fresh() {
            return Once.fresh();
        }
    }

    @Override
    public IExpressionObjectFactory getExpressionObjectFactory() {
        return new IExpressionObjectFactory() {
            @Override
            public Set<String> getAllExpressionObjectNames() {
                return Set.of("once");
            }

            @Override
            public Object buildObject(IExpressionContext context, String name) {
                return new Tokens();
            }

            @Override
            public boolean isCacheable(String name) {
                return true;
            }
        };
    }
}
