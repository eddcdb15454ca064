// Distances between two meshes by FCL, for comparison: the same triangles, the same poses, both trees built beforehand.
// Input file: triangles of a, corners as nine doubles each; triangles of b; number of poses; each pose of b as nine
// numbers by rows and three of translation. Output: one distance a line, then the median time of a query in microseconds.
#include <fcl/fcl.h>

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <fstream>
#include <iostream>
#include <memory>
#include <vector>

using Model = fcl::BVHModel<fcl::OBBRSSd>;

static std::shared_ptr<Model> read(std::ifstream& in) {
    int count;
    in >> count;
    std::vector<fcl::Vector3d> points(3 * count);
    std::vector<fcl::Triangle> triangles(count);
    for (int k = 0; k < count; k++) {
        for (int c = 0; c < 3; c++) {
            in >> points[3 * k + c][0] >> points[3 * k + c][1] >> points[3 * k + c][2];
        }
        triangles[k].set(3 * k, 3 * k + 1, 3 * k + 2);
    }
    auto model = std::make_shared<Model>();
    model->beginModel(count, 3 * count);
    model->addSubModel(points, triangles);
    model->endModel();
    return model;
}

int main(int, char** arguments) {
    std::ifstream in(arguments[1]);
    int rounds = std::atoi(arguments[2]);
    auto a = read(in);
    auto b = read(in);
    int poses;
    in >> poses;
    std::vector<double> times;
    std::vector<fcl::Transform3d> places(poses, fcl::Transform3d::Identity());
    for (auto& place : places) {
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                in >> place.linear()(i, j);
            }
        }
        in >> place.translation()[0] >> place.translation()[1] >> place.translation()[2];
    }
    for (int round = 0; round < rounds; round++) {
        for (const auto& place : places) {
            fcl::DistanceRequestd request(true);
            fcl::DistanceResultd result;
            auto start = std::chrono::steady_clock::now();
            fcl::distance<double>(a.get(), fcl::Transform3d::Identity(), b.get(), place, request, result);
            auto end = std::chrono::steady_clock::now();
            times.push_back(std::chrono::duration<double, std::micro>(end - start).count());
            if (round == 0) {
                std::printf("%.17g\n", result.min_distance);
            }
        }
    }
    std::nth_element(times.begin(), times.begin() + times.size() / 2, times.end());
    std::printf("%.17g\n", times[times.size() / 2]);
}
