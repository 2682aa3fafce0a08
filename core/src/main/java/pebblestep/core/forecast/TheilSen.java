package pebblestep.core.forecast;

import java.util.Arrays;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.Rounding;

/**
 * A line through points that a few outliers do not move: its slope is the median of the slopes between all pairs
 * (Sen 1968, Estimates of the regression coefficient based on Kendall's tau, JASA 63, 1379-1389).
 *
 * @param slope units of y for one of x
 * @param intercept y at x = 0: the median of what the slope leaves of each y, so that half the points lie above the line
 * @param lower lower bound of the slope
 * @param upper upper bound of the slope
 */
public record TheilSen(double slope, double intercept, double lower, double upper) {

    /** A point to fit. */
    public record Point(double x, double y) {}

    /**
     * The line through points, with the bounds of its slope at a confidence.
     *
     * @param z the normal quantile of the confidence, such as 1.2816 for 80 percent of both sides
     */
    public static TheilSen of(List<Point> points, double z) {
        double[] slopes = slopes(points);
        if (slopes.length == 0) throw Refusal.of("A slope needs points at two different places.");
        double slope = median(slopes);
        double intercept = median(points.stream()
                .mapToDouble(point -> point.y() - slope * point.x())
                .toArray());
        double sigma = Math.sqrt(variance(points));
        int n = slopes.length;
        int upper = Math.min(n - 1, (int) Rounding.whole((n + z * sigma) / 2));
        int lower = Math.max(0, (int) Rounding.whole((n - z * sigma) / 2) - 1);
        return new TheilSen(slope, intercept, slopes[lower], slopes[upper]);
    }

    /** y of the line at x. */
    public double at(double x) {
        return intercept + slope * x;
    }

    /** The slopes of all pairs that have one, in order. */
    private static double[] slopes(List<Point> points) {
        double[] slopes = new double[points.size() * (points.size() - 1) / 2];
        int count = 0;
        for (int i = 0; i < points.size(); i++) {
            for (int j = i + 1; j < points.size(); j++) {
                double run = points.get(j).x() - points.get(i).x();
                if (run != 0)
                    slopes[count++] = (points.get(j).y() - points.get(i).y()) / run;
            }
        }
        double[] some = Arrays.copyOf(slopes, count);
        Arrays.sort(some);
        return some;
    }

    /** Variance of Kendall's S with ties in y (Sen 1968, formula 2.6); x are different days. */
    private static double variance(List<Point> points) {
        double variance = tied(points.size());
        double[] values = points.stream().mapToDouble(Point::y).sorted().toArray();
        for (int i = 0; i < values.length; ) {
            int end = i;
            while (end < values.length && values[end] == values[i]) end++;
            variance -= tied(end - i);
            i = end;
        }
        return variance / 18;
    }

    private static double tied(int count) {
        return count * (count - 1.0) * (2.0 * count + 5);
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int middle = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
    }
}
