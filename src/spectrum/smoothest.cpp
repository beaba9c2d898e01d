// SPDX-License-Identifier: GPL-3.0-or-later
#include "spectrum/smoothest.h"

#include <Eigen/LU>
#include <cmath>

#include "spectrum/light_source.h"
#include "spectrum/observer.h"

namespace wp::spectrum {

namespace {

constexpr int kUnknowns = static_cast<int>(kWavelengths), kAll = kUnknowns + 3;
constexpr int kMostSteps = 60;
constexpr double kClose = 1e-10;

// What a reflectance's steps bring to X, Y, Z under D65.
Eigen::Matrix<double, 3, kUnknowns> bring() {
    Eigen::Matrix<double, 3, kUnknowns> out;
    const Spectrum& light = d65();
    const double all = integral(Answer::y, light);
    const Answer answers[] = {Answer::x, Answer::y, Answer::z};
    for (int r = 0; r < 3; ++r)
        for (int i = 0; i < kUnknowns; ++i)
            out(r, i) = weights(answers[r])[static_cast<size_t>(i)] * light[static_cast<size_t>(i)] / all;
    return out;
}

}  // namespace

std::optional<Spectrum> smoothest(const Xyz& colour) {
    static const auto t = bring();
    const Eigen::Vector3d wanted(colour.x, colour.y, colour.z);
    if (!(colour.y > 1e-6) || !(colour.y < 1)) return {};
    // Twice the difference of neighbours, squared: its derivative.
    Eigen::MatrixXd d = Eigen::MatrixXd::Zero(kUnknowns, kUnknowns);
    for (int i = 0; i < kUnknowns; ++i) {
        d(i, i) = i == 0 || i + 1 == kUnknowns ? 2 : 4;
        if (i > 0) d(i, i - 1) = -2;
        if (i + 1 < kUnknowns) d(i, i + 1) = -2;
    }
    Eigen::VectorXd z = Eigen::VectorXd::Constant(kUnknowns, std::atanh(2 * std::clamp(colour.y, 0.01, 0.99) - 1));
    Eigen::Vector3d lambda = Eigen::Vector3d::Zero();
    for (int step = 0; step < kMostSteps; ++step) {
        const Eigen::ArrayXd tanh = z.array().tanh(), rho = (tanh + 1) / 2, slope = (1 - tanh * tanh) / 2,
                             curved = -2 * tanh * slope;
        Eigen::VectorXd f(kAll);
        const Eigen::VectorXd pull = t.transpose() * lambda;
        f.head(kUnknowns) = d * z + (slope * pull.array()).matrix();
        f.tail(3) = t * rho.matrix() - wanted;
        Eigen::MatrixXd j = Eigen::MatrixXd::Zero(kAll, kAll);
        j.topLeftCorner(kUnknowns, kUnknowns) = d;
        j.topLeftCorner(kUnknowns, kUnknowns).diagonal() += (curved * pull.array()).matrix();
        j.topRightCorner(kUnknowns, 3) = slope.matrix().asDiagonal() * t.transpose();
        j.bottomLeftCorner(3, kUnknowns) = j.topRightCorner(kUnknowns, 3).transpose();
        Eigen::VectorXd move = j.partialPivLu().solve(f);
        if (!move.allFinite()) return {};
        // Far steps overshoot where the hyperbolic tangent is flat.
        const double longest = move.head(kUnknowns).cwiseAbs().maxCoeff();
        if (longest > 2) move *= 2 / longest;
        z -= move.head(kUnknowns);
        lambda -= move.tail(3);
        if (move.norm() > 1e-8 || f.tail(3).cwiseAbs().maxCoeff() > kClose) continue;
        Spectrum out;
        for (int i = 0; i < kUnknowns; ++i) out[static_cast<size_t>(i)] = (std::tanh(z(i)) + 1) / 2;
        return out;
    }
    return {};
}

}  // namespace wp::spectrum
