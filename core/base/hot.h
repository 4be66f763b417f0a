#pragma once

/// For inner loops that take most of the time: compiled once for any machine and once for those with wider registers,
/// chosen when the program starts. Without fused multiply-add, so that both give the same bytes. Not for members,
/// templates or anything inline.
#if defined(__x86_64__) && defined(__GNUC__) && !defined(__clang__) && !defined(__SANITIZE_ADDRESS__)                  \
    && !defined(__SANITIZE_THREAD__)
#define RL_HOT __attribute__((target_clones("avx2", "default")))
#else
#define RL_HOT
#endif
