;; The inner loop of a live exposure, three channels of a pixel at a time.
;; exposeWasm.ts is made from this by `node tools/wat.mjs`; exposeLive.ts says the same in TypeScript.
(module
  (memory (export "memory") 1)

  ;; light: three floats a pixel, and one more behind the last. out: three 16-bit raw values a pixel, and one more.
  ;; scale: raw counts per unit of light; base: black level and a half; perCount: variance of photon noise a count;
  ;; read: variance of read noise; white: the highest value. normals: table of 1024 normal deviates. Returns the new state.
  (func (export "exposePixels")
    (param $light i32) (param $n i32) (param $scale f32) (param $base f32) (param $perCount f32) (param $read f32)
    (param $white f32) (param $normals i32) (param $state i32) (param $out i32)
    (result i32)
    (local $last i32) (local $counts v128) (local $noise v128)
    (local $scales v128) (local $bases v128) (local $shots v128) (local $reads v128) (local $whites v128) (local $zeros v128)
    (local.set $scales (f32x4.splat (local.get $scale)))
    (local.set $bases (f32x4.splat (local.get $base)))
    (local.set $shots (f32x4.splat (local.get $perCount)))
    (local.set $reads (f32x4.splat (local.get $read)))
    (local.set $whites (f32x4.splat (local.get $white)))
    (local.set $last (i32.add (local.get $out) (i32.mul (local.get $n) (i32.const 6))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $out) (local.get $last)))
        ;; One random word a pixel (xorshift32): ten bits for each channel.
        (local.set $state (i32.xor (local.get $state) (i32.shl (local.get $state) (i32.const 13))))
        (local.set $state (i32.xor (local.get $state) (i32.shr_u (local.get $state) (i32.const 17))))
        (local.set $state (i32.xor (local.get $state) (i32.shl (local.get $state) (i32.const 5))))
        (local.set $noise
          (v128.load32_zero
            (i32.add (local.get $normals)
              (i32.shl (i32.and (local.get $state) (i32.const 1023)) (i32.const 2)))))
        (local.set $noise
          (v128.load32_lane 1
            (i32.add (local.get $normals)
              (i32.and (i32.shr_u (local.get $state) (i32.const 8)) (i32.const 4092)))
            (local.get $noise)))
        (local.set $noise
          (v128.load32_lane 2
            (i32.add (local.get $normals)
              (i32.and (i32.shr_u (local.get $state) (i32.const 18)) (i32.const 4092)))
            (local.get $noise)))
        (local.set $counts (f32x4.mul (v128.load (local.get $light)) (local.get $scales)))
        (local.set $noise
          (f32x4.mul (local.get $noise)
            (f32x4.sqrt (f32x4.add (f32x4.mul (local.get $counts) (local.get $shots)) (local.get $reads)))))
        (local.set $counts
          (f32x4.pmin
            (f32x4.pmax
              (f32x4.add (f32x4.add (local.get $counts) (local.get $bases)) (local.get $noise))
              (local.get $zeros))
            (local.get $whites)))
        (local.set $counts (i32x4.trunc_sat_f32x4_s (local.get $counts)))
        (v128.store64_lane 0 (local.get $out) (i16x8.narrow_i32x4_u (local.get $counts) (local.get $counts)))
        (local.set $light (i32.add (local.get $light) (i32.const 12)))
        (local.set $out (i32.add (local.get $out) (i32.const 6)))
        (br $next)))
    (local.get $state)))
