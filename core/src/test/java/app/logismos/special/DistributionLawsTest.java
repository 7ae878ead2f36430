package app.logismos.special;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Seeded;
import app.logismos.number.Extended;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.apache.commons.numbers.core.DD;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What holds for all distributions, on parameters and places by chance. */
class DistributionLawsTest {
    private static final double LAST_DIGITS = 1e-28;

    /** The families, each with parameters by chance. */
    private enum Family {
        NORMAL {
            @Override
            Distribution any(Random random) {
                return Distribution.NORMAL;
            }
        },
        GAMMA {
            @Override
            Distribution any(Random random) {
                return Distribution.gamma(size(random), size(random));
            }
        },
        CHI_SQUARED {
            @Override
            Distribution any(Random random) {
                return Distribution.chiSquared(DD.of(1 + random.nextInt(60)));
            }
        },
        BETA {
            @Override
            Distribution any(Random random) {
                return Distribution.beta(size(random), size(random));
            }

            @Override
            double place(Random random) {
                return random.nextDouble();
            }
        },
        STUDENT {
            @Override
            Distribution any(Random random) {
                return Distribution.student(size(random));
            }
        },
        RATIO {
            @Override
            Distribution any(Random random) {
                return Distribution.ratio(size(random), size(random));
            }
        },
        WEIBULL {
            @Override
            Distribution any(Random random) {
                return Distribution.weibull(size(random), size(random));
            }
        },
        LOG_NORMAL {
            @Override
            Distribution any(Random random) {
                return Distribution.logNormal(DD.of(random.nextGaussian()), size(random));
            }
        },
        EXPONENTIAL {
            @Override
            Distribution any(Random random) {
                return Distribution.exponential(size(random));
            }
        };

        abstract Distribution any(Random random);

        /** Somewhere in the support. */
        double place(Random random) {
            double size = Math.exp(random.nextGaussian() * 2);
            return this == NORMAL || this == STUDENT ? (random.nextBoolean() ? size : -size) : size;
        }

        private static DD size(Random random) {
            return DD.of(Math.exp(random.nextGaussian() * 1.5));
        }
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void theChancesBelowAndBeyondAreAllThereIs(Family family) {
        Seeded.cases(60, random -> {
            Distribution distribution = family.any(random);
            DD x = DD.of(family.place(random));
            DD both = distribution.below().apply(x).add(distribution.beyond().apply(x));
            assertThat(both.subtract(1).hi()).isCloseTo(0, within(LAST_DIGITS));
        });
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void theChanceBelowGrowsAsFastAsTheHeight(Family family) {
        Seeded.cases(60, random -> {
            Distribution distribution = family.any(random);
            double x = family.place(random);
            double step = Math.abs(x) * 1e-9;
            boolean isLow = distribution.below().apply(DD.of(x)).hi() < 0.5;
            UnaryOperator<DD> tail = isLow ? distribution.below() : distribution.beyond();
            DD grown = tail.apply(DD.ofSum(x, step)).subtract(tail.apply(DD.ofSum(x, -step)));
            double slope = Math.abs(grown.divide(2 * step).hi());
            double height = distribution.density().apply(DD.of(x)).hi();
            assertThat(slope).isCloseTo(height, within(Math.max(1e-290, height * 1e-10)));
        });
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void theInverseOfAChanceIsThePlaceItCameFrom(Family family) {
        Seeded.cases(40, random -> {
            Distribution distribution = family.any(random);
            double x = family.place(random);
            DD below = distribution.below().apply(DD.of(x));
            DD beyond = distribution.beyond().apply(DD.of(x));
            if (Math.min(below.hi(), beyond.hi()) > 1e-290) {
                assertThat(distribution.inverse(below, beyond)).isCloseTo(x, within(Math.ulp(x)));
            }
        });
    }

    @Test
    void theGammaFunctionGrowsByItsArgument() {
        Seeded.cases(300, random -> {
            DD x = DD.of(random.nextDouble() * 100 - 40);
            DD next = GammaFunction.gamma(x.add(1));
            DD product = GammaFunction.gamma(x).multiply(x);
            assertThat(next.subtract(product).divide(next).hi()).isCloseTo(0, within(LAST_DIGITS));
        });
    }

    @Test
    void theLogarithmOfTheGammaFunctionIsItsLogarithm() {
        Seeded.cases(300, random -> {
            DD x = DD.of(random.nextDouble() * 100 + 1e-3);
            DD log = Extended.ln(GammaFunction.gamma(x));
            assertThat(GammaFunction.ln(x).subtract(log).hi()).isCloseTo(0, within(LAST_DIGITS * 100));
        });
    }

    @Test
    void besselFunctionsOfNeighbouringOrdersBelongTogether() {
        Seeded.cases(100, random -> {
            DD x = DD.of(random.nextDouble() * 60 + 0.1);
            int n = random.nextInt(20);
            // The Wronskian of J and Y, and that of I and K (DLMF 10.5.2 and 10.28.2).
            DD first = BesselFunction.j(x, n + 1)
                    .multiply(BesselFunction.y(x, n))
                    .subtract(BesselFunction.j(x, n).multiply(BesselFunction.y(x, n + 1)));
            assertThat(first.multiply(x).multiply(Math.PI / 2).hi()).isCloseTo(1, within(1e-12));
            DD second = BesselFunction.i(x, n + 1)
                    .multiply(BesselFunction.k(x, n))
                    .add(BesselFunction.i(x, n).multiply(BesselFunction.k(x, n + 1)));
            assertThat(second.multiply(x).hi()).isCloseTo(1, within(1e-20));
        });
    }
}
