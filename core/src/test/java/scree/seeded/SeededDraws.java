package scree.seeded;

import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.ArgumentsProvider;
import org.junit.jupiter.params.support.ParameterDeclarations;

/** Gives a {@link Seeds} method its draws. */
final class SeededDraws implements ArgumentsProvider {
    private static final String ALONE = "seed";

    @Override
    public Stream<? extends Arguments> provideArguments(ParameterDeclarations parameters, ExtensionContext context) {
        Integer alone = Integer.getInteger(ALONE);
        int most = context.getRequiredTestMethod().getAnnotation(Seeds.class).value();
        return (alone == null ? IntStream.range(0, most) : IntStream.of(alone))
                .mapToObj(seed -> Arguments.of(new Draw(seed)));
    }
}
